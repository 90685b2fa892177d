/** Designs made for animals and a room: what to build before there is anything. */
@NullMarked
package app.islet.core.proposal;

import org.jspecify.annotations.NullMarked;

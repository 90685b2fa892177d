/** From the animal to a design: who, does it fit, three proposals. */
@NullMarked
package app.islet.web.proposal;

import org.jspecify.annotations.NullMarked;

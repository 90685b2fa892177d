/**
 * What a browser needs to be of use without a network: who is signed in, and how it is installed.
 */
@NullMarked
package app.islet.web.ops.offline;

import org.jspecify.annotations.NullMarked;

/** Who lives in an enclosure: added, corrected, moved out, and who goes with whom. */
@NullMarked
package app.islet.web.residents;

import org.jspecify.annotations.NullMarked;

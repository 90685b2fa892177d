/** Who lives in an enclosure: added, corrected, moved out, and who goes with whom. */
@NullMarked
package app.islet.web.page.design.who;

import org.jspecify.annotations.NullMarked;

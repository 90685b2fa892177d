/** What every page needs: forms and their fields, refusals, units, downloads. */
@NullMarked
package app.islet.web.base.support;

import org.jspecify.annotations.NullMarked;

/** Care sheets: read, compared by school, copied, changed number by number. */
@NullMarked
package app.islet.web.caresheet;

import org.jspecify.annotations.NullMarked;

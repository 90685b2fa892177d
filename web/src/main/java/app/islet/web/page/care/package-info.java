/** Care sheets: read, compared by school, copied, changed number by number. */
@NullMarked
package app.islet.web.page.care;

import org.jspecify.annotations.NullMarked;

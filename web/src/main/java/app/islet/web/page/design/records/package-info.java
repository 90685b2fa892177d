/** Measurements of animals, and what each of them changed in the plan. */
@NullMarked
package app.islet.web.page.design.records;

import org.jspecify.annotations.NullMarked;

/** Findings with their remedies, acceptances, what comes later, and the report to print. */
@NullMarked
package app.islet.web.page.design.review;

import org.jspecify.annotations.NullMarked;

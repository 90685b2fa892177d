/** Findings with their remedies, acceptances, what comes later, and the report to print. */
@NullMarked
package app.islet.web.review;

import org.jspecify.annotations.NullMarked;

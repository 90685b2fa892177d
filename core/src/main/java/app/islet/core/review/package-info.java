/** The judgement: rules asked of a situation, findings with severity, reason, remedy and source. */
@NullMarked
package app.islet.core.review;

import org.jspecify.annotations.NullMarked;

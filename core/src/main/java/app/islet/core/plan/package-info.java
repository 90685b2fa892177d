/**
 * What to do and when: feeding, cleaning, tests and replacements as tasks with amounts, and what to
 * buy.
 */
@NullMarked
package app.islet.core.plan;

import org.jspecify.annotations.NullMarked;

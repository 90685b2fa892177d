/**
 * An enclosure with its residents on a day, measured and simulated: what review, plan and build
 * sheet ask. No judgement in here.
 */
@NullMarked
package app.islet.core.situation;

import org.jspecify.annotations.NullMarked;

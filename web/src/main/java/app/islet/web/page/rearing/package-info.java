/** Rearing: the board of tubs, batches, labels, the round of tubs. */
@NullMarked
package app.islet.web.page.rearing;

import org.jspecify.annotations.NullMarked;

/** What is in stock to feed, and the live food that is grown here. */
@NullMarked
package app.islet.web.store.stock;

import org.jspecify.annotations.NullMarked;

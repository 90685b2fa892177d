/**
 * The first page of a collection: rooms with their enclosures side by side, what is due today, what
 * needs the keeper.
 */
@NullMarked
package app.islet.web.page.work.today;

import org.jspecify.annotations.NullMarked;

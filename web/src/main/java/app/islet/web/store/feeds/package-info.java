/** Secret addresses at which a calendar program reads what is to be done. */
@NullMarked
package app.islet.web.store.feeds;

import org.jspecify.annotations.NullMarked;

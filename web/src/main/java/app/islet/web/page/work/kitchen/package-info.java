/** The kitchen: what to prepare today, what is in stock, what to buy, what is grown here. */
@NullMarked
package app.islet.web.page.work.kitchen;

import org.jspecify.annotations.NullMarked;

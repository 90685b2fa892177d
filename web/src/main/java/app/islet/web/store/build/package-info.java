/** What was built and what it cost: steps done, prices, the tariff. */
@NullMarked
package app.islet.web.store.build;

import org.jspecify.annotations.NullMarked;

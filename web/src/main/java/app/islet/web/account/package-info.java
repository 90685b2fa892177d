/** People, how they sign in, and what they prefer. */
@NullMarked
package app.islet.web.account;

import org.jspecify.annotations.NullMarked;

/** People, how they sign in, and what they prefer. */
@NullMarked
package app.islet.web.people.account;

import org.jspecify.annotations.NullMarked;

/** Health: what looks wrong, what to do first, courses, and the sheet for the vet. */
@NullMarked
package app.islet.web.page.health;

import org.jspecify.annotations.NullMarked;

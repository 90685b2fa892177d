/** What looked wrong with animals, and the courses they are in. */
@NullMarked
package app.islet.web.healthlog;

import org.jspecify.annotations.NullMarked;

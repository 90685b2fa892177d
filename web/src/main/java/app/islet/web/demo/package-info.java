/** An invented collection to look around in. */
@NullMarked
package app.islet.web.demo;

import org.jspecify.annotations.NullMarked;

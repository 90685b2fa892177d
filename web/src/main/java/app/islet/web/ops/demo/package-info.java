/** An invented collection to look around in. */
@NullMarked
package app.islet.web.ops.demo;

import org.jspecify.annotations.NullMarked;

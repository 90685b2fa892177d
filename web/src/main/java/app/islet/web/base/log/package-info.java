/**
 * Logs that are only ever added to. An entry carries an id made by whoever sent it, so that sending
 * twice is harmless; one that names another in {@code voids} takes it back.
 */
@NullMarked
package app.islet.web.base.log;

import org.jspecify.annotations.NullMarked;

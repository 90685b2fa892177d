/**
 * How styles, scripts, fonts and icons reach a browser: once, and never again until they change.
 */
@NullMarked
package app.islet.web.base.delivery;

import org.jspecify.annotations.NullMarked;

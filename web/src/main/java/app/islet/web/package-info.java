/**
 * The application. One package a feature; {@code support} and {@code drawing} serve them all. It
 * asks the core and draws.
 */
@NullMarked
package app.islet.web;

import org.jspecify.annotations.NullMarked;

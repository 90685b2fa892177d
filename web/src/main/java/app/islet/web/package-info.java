/** The application. One package a feature; {@code support} and {@code drawing} serve them all. It asks the core and draws. */
@org.jspecify.annotations.NullMarked
package app.islet.web;

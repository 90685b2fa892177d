/**
 * Islet for the shell: {@code check}, {@code calc} and {@code propose}, nothing but a thin main
 * over core.
 */
@NullMarked
package app.islet.cli;

import org.jspecify.annotations.NullMarked;

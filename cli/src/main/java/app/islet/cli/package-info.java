/** Islet for the shell: {@code check} and {@code calc}, nothing but a thin main over core. */
@NullMarked
package app.islet.cli;

import org.jspecify.annotations.NullMarked;

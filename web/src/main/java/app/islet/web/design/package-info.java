/**
 * The bench: the form of a design, its drawings and figures while it is changed, earlier versions.
 */
@NullMarked
package app.islet.web.design;

import org.jspecify.annotations.NullMarked;

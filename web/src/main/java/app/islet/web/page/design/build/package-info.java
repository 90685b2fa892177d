/**
 * The bench: the form of a design, its drawings and figures while it is changed, earlier versions.
 */
@NullMarked
package app.islet.web.page.design.build;

import org.jspecify.annotations.NullMarked;

/** Section, plan and charts as SVG: what the core measured, drawn. */
@NullMarked
package app.islet.web.base.drawing;

import org.jspecify.annotations.NullMarked;

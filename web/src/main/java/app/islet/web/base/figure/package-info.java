/**
 * The figures of a design, worded and rounded for one keeper: one place for every page and sheet.
 */
@NullMarked
package app.islet.web.base.figure;

import org.jspecify.annotations.NullMarked;

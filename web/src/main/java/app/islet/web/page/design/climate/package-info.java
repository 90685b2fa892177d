/**
 * Heat through day and year, what happens when a device fails, and thermometer logs the model is
 * fitted to.
 */
@NullMarked
package app.islet.web.page.design.climate;

import org.jspecify.annotations.NullMarked;

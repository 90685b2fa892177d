/**
 * What geometry alone says of an enclosure: depths, litres, land, slopes, freeboard. No judgement
 * here.
 */
@NullMarked
package app.islet.core.geometry;

import org.jspecify.annotations.NullMarked;

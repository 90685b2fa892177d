/**
 * What geometry alone says of an enclosure: depths, litres, land, slopes, freeboard. No judgement
 * here.
 */
@NullMarked
package app.islet.core.survey;

import org.jspecify.annotations.NullMarked;

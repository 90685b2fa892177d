package app.islet.web.base.drawing;

import app.islet.core.Assessment;

/**
 * What a section is drawn on.
 *
 * @param scale pixels a centimetre
 * @param left and {@code top}: where the inside of the enclosure begins, pixels
 * @param cutCm where it is cut, from the back; NaN where it is not cut but looked through
 * @param small whether it is a glyph, which leaves out what cannot be seen
 */
record SectionSheet(
    Assessment assessment,
    double scale,
    double left,
    double top,
    double cutCm,
    boolean small,
    Svg svg) {}

package app.islet.core.review;

/**
 * A rule that finds one thing of the enclosure, however many kinds suffer from it: a gap, a heater,
 * a lamp. Its findings are told as one, by the gravest.
 */
public interface OneCause extends ResidentRule {}

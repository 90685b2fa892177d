package app.islet.core.feeding;

import java.time.LocalDate;

/** The days each food of a menu is wanted on, before anything is settled. */
interface Ideals {
  /**
   * The first such day after it was last given, counted from the first day of a course; it may lie
   * before that.
   *
   * @param line of the menu's turns
   * @param last day it was given, counted likewise; {@link Course#NEVER} if it never was
   */
  int next(int line, int last, LocalDate from);

  /** Days from one time to the next, on average. */
  double gap(int line);

  /** How bad it is that two foods share a day, beside one of them that waits for a day. */
  double sharedDay();
}

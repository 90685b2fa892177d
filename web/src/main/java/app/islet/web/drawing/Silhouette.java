package app.islet.web.drawing;

import app.islet.core.care.AnimalGroup;

/**
 * A plain animal, drawn for ourselves: one path, facing right, in a box one unit long with its feet
 * on y = 0 and y upward negative. Body length as measured is one unit for all.
 */
record Silhouette(String path, double height) {
  static Silhouette of(AnimalGroup group) {
    return switch (group) {
      case TURTLE ->
          new Silhouette(
              "M-.5 -.08C-.46 -.4 .3 -.46 .5 -.14C.6 -.3 .8 -.26 .78 -.14C.76 -.06 .6 -.04 .46 -.06L.34 -.05L.36 0L.2 0L.18 -.05L-.2 -.05L-.24 0L-.4 0L-.34 -.06L-.58 -.03Z",
              0.42);
      case SALAMANDER ->
          new Silhouette(
              "M.5 -.08C.49 -.14 .4 -.16 .33 -.13L.31 -.18L.27 -.13L.24 -.17L.22 -.12C.05 -.15 -.1 -.15 -.2 -.14C-.35 -.2 -.45 -.14 -.5 -.06C-.4 -.05 -.3 -.04 -.2 -.04L-.22 0L-.16 0L-.12 -.03L.12 -.03L.14 0L.2 0L.22 -.03C.35 -.02 .48 -.03 .5 -.08Z",
              0.2);
      case FROG ->
          new Silhouette(
              "M.5 -.22C.46 -.36 .3 -.42 .18 -.36C-.1 -.34 -.4 -.2 -.5 -.1C-.5 -.02 -.3 -.04 -.2 -.06L-.62 0L-.3 .02L.05 -.04L.2 0L.36 0L.28 -.1C.4 -.1 .5 -.14 .5 -.22Z",
              0.42);
      case CRAB ->
          new Silhouette(
              "M-.5 -.3C-.4 -.5 .4 -.5 .5 -.3C.5 -.14 .3 -.08 0 -.08S-.5 -.14 -.5 -.3ZM.44 -.34L.7 -.5L.84 -.36L.7 -.4L.5 -.26ZM-.44 -.34L-.7 -.5L-.84 -.36L-.7 -.4L-.5 -.26ZM.3 -.12L.62 -.16L.7 0L.6 -.1L.26 -.08ZM-.3 -.12L-.62 -.16L-.7 0L-.6 -.1L-.26 -.08ZM.12 -.1L.36 -.06L.4 .02L.32 -.02L.08 -.06ZM-.12 -.1L-.36 -.06L-.4 .02L-.32 -.02L-.08 -.06Z",
              0.5);
    };
  }
}

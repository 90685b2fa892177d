package app.islet.core.climate;

import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;

/**
 * The same balances as a pair of differential equations, written out once more and handed to
 * Hipparchus' adaptive solver: what {@link ThermalSimulation} is held against. Devices run or do
 * not; nothing is held by a thermostat here.
 */
final class Reference implements OrdinaryDifferentialEquation {
  private final Envelope e;
  private final HeatSources m;
  private final RoomCourse room;
  private final double summer;
  private final Settings settings;
  private boolean lit;

  Reference(Envelope e, HeatSources m, RoomCourse room, double summer, Settings settings) {
    this.e = e;
    this.m = m;
    this.room = room;
    this.summer = summer;
    this.settings = settings;
  }

  @Override
  public int getDimension() {
    return 2;
  }

  @Override
  public double[] computeDerivatives(double seconds, double[] y) {
    RoomCourse.Day day = room.day(summer);
    double angle = 2 * Math.PI * (seconds / 3600 - 16) / 24;
    double roomC = day.meanC() + day.swingK() * Math.cos(angle);
    double wet = e.evaporationWPerKpa(m.fanMs(), m.activity());
    double vapour = wet * (MoistAir.saturationKpa(y[0]) - day.vapourKpa());
    double between = e.sensibleWPerK(m.fanMs(), m.activity()) * (y[0] - y[1]);
    double water =
        m.pumpW()
            + (settings.heaterStuck() ? m.heaterW() : 0)
            + (lit ? m.lampWaterW() : 0)
            - vapour
            - between
            - (e.paneWPerK() + e.glowWPerK()) * (y[0] - roomC);
    double box = (lit ? m.lampBoxW() : 0) + between - e.boxWPerK() * (y[1] - roomC);
    return new double[] {water / e.waterJPerK(), box / e.boxJPerK()};
  }

  /** Water at the end of each day, integrated from switch to switch of the lights. */
  double[] dayEnds(int days, double waterC, double boxC, double tolerance) {
    DormandPrince853Integrator solver =
        new DormandPrince853Integrator(1e-3, 86_400, tolerance, tolerance);
    double[] ends = new double[days];
    double[] y = {waterC, boxC};
    double[] switches = {
      0, settings.lightsOnMinute() * 60.0, settings.lightsOffMinute() * 60.0, 86_400
    };
    for (int day = 0; day < days; day++) {
      for (int part = 0; part < 3; part++) {
        lit = part == 1;
        y =
            solver
                .integrate(
                    this,
                    new ODEState(day * 86_400.0 + switches[part], y),
                    day * 86_400.0 + switches[part + 1])
                .getPrimaryState();
      }
      ends[day] = y[0];
    }
    return ends;
  }
}

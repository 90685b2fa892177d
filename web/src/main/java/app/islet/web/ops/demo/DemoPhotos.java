package app.islet.web.ops.demo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;

/** Pictures that stand in for photos of the mill's turtle: her shell from above, on wet slate. */
final class DemoPhotos {
  private static final int WIDTH = 1200;
  private static final int HEIGHT = 900;
  private static final int SPECKS = 9000;
  private static final int SCUTES = 5;

  private DemoPhotos() {}

  /**
   * @param share of the picture's width that her shell is long
   */
  static byte[] shell(double share, long seed) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    slate(g, new Random(seed));
    double length = share * WIDTH;
    g.translate(WIDTH / 2.0, HEIGHT / 2.0);
    AffineTransform middle = g.getTransform();
    limbs(g, length);
    g.setTransform(middle);
    scutes(g, length);
    g.dispose();
    return png(image);
  }

  private static void slate(Graphics2D g, Random random) {
    g.setColor(new Color(0x5b6468));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    for (int n = 0; n < SPECKS; n++) {
      int grey = 70 + random.nextInt(60);
      g.setColor(new Color(grey, grey + 6, grey + 10, 120));
      g.fillRect(random.nextInt(WIDTH), random.nextInt(HEIGHT), 1 + random.nextInt(6), 1);
    }
  }

  private static void limbs(Graphics2D g, double length) {
    g.setColor(new Color(0x3f4a2c));
    g.fill(oval(0.56 * length, 0, 0.2 * length, 0.15 * length));
    for (int side : new int[] {-1, 1}) {
      g.fill(oval(0.3 * length, side * 0.38 * length, 0.24 * length, 0.12 * length));
      g.fill(oval(-0.34 * length, side * 0.34 * length, 0.22 * length, 0.14 * length));
    }
    g.setColor(new Color(0xb8423a));
    g.fill(oval(0.54 * length, 0.07 * length, 0.08 * length, 0.022 * length));
    g.fill(oval(0.54 * length, -0.07 * length, 0.08 * length, 0.022 * length));
  }

  private static void scutes(Graphics2D g, double length) {
    g.setColor(new Color(0x4c5a34));
    g.fill(oval(0, 0, length, 0.82 * length));
    g.setColor(new Color(0x77823f));
    g.fill(oval(0, 0, 0.86 * length, 0.66 * length));
    g.setColor(new Color(0x39452a));
    for (int n = 0; n < SCUTES; n++) {
      double x = (n - 2) * 0.17 * length;
      g.fill(oval(x, 0, 0.14 * length, 0.2 * length));
      g.fill(oval(x, 0.22 * length, 0.13 * length, 0.16 * length));
      g.fill(oval(x, -0.22 * length, 0.13 * length, 0.16 * length));
    }
  }

  private static Ellipse2D oval(double x, double y, double wide, double high) {
    return new Ellipse2D.Double(x - wide / 2, y - high / 2, wide, high);
  }

  private static byte[] png(BufferedImage image) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }
}

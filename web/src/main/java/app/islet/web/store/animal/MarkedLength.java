package app.islet.web.store.animal;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/** From where to where a length lies in a picture, as shares of its width and height. */
@Embeddable
public record MarkedLength(
    @Column(name = "from_x") double fromX,
    @Column(name = "from_y") double fromY,
    @Column(name = "to_x") double toX,
    @Column(name = "to_y") double toY) {
  /** How long it is in a picture of that size, pixels. */
  public double pixels(int width, int height) {
    return Math.hypot((toX - fromX) * width, (toY - fromY) * height);
  }
}

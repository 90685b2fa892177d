package app.islet.web.base.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.Decoder;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class CodePictureTest {
  private static final Pattern SIZE = Pattern.compile("viewBox=\"0 0 (\\d+) \\1\"");
  private static final Pattern MODULE = Pattern.compile("M(\\d+) (\\d+)h1v1h-1z");

  /** The modules as they are drawn, without the quiet zone of four on each side. */
  private static BitMatrix drawn(String svg) {
    Matcher size = SIZE.matcher(svg);
    assertThat(size.find()).isTrue();
    BitMatrix modules = new BitMatrix(Integer.parseInt(size.group(1)) - 8);
    Matcher module = MODULE.matcher(svg);
    while (module.find()) {
      modules.set(Integer.parseInt(module.group(1)) - 4, Integer.parseInt(module.group(2)) - 4);
    }
    return modules;
  }

  @Test
  void a_label_is_read_even_where_a_corner_is_wet() throws Exception {
    String address = "http://mill.example:8080/c/weir-mill/rearing/tubs/1234";
    assertThat(new Decoder().decode(drawn(CodePicture.svg(address))).getText()).isEqualTo(address);
    BitMatrix modules = drawn(CodePicture.svg(address));
    int wet = modules.getWidth() / 5;
    for (int x = 0; x < wet; x++) {
      for (int y = 0; y < wet; y++) {
        modules.unset(modules.getWidth() - 1 - x, modules.getHeight() - 1 - y);
      }
    }
    assertThat(new Decoder().decode(modules).getText()).isEqualTo(address);
  }

  @Test
  void what_no_code_holds_is_refused() {
    assertThatThrownBy(() -> CodePicture.svg("x".repeat(3000)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}

package app.islet.web.base.backup;

import java.io.IOException;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Which version of the tables this program makes. */
public final class KnownSchema {
  private static final Pattern NAME = Pattern.compile("V(\\d+)__.*\\.sql");

  private KnownSchema() {}

  public static int newest() throws IOException {
    return Arrays.stream(
            new PathMatchingResourcePatternResolver()
                .getResources("classpath*:db/migration/V*__*.sql"))
        .map(file -> NAME.matcher(String.valueOf(file.getFilename())))
        .filter(Matcher::matches)
        .mapToInt(name -> Integer.parseInt(name.group(1)))
        .max()
        .orElseThrow(() -> new IOException("no migrations are shipped"));
  }
}

package app.islet.web.base.delivery;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves shipped files under the addresses that carry their hash. */
@Configuration(proxyBeanMethods = false)
class DeliveryConfiguration implements WebMvcConfigurer {
  private static final String FILES = "classpath:/static/";

  private final StaticFiles files;

  DeliveryConfiguration(StaticFiles files) {
    this.files = files;
  }

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler(files.base() + "/**")
        .addResourceLocations(FILES)
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
        .resourceChain(true)
        .addTransformer(new InlinedStyles());
    // A page of the version before or after this one, while servers are renewed one by one.
    registry
        .addResourceHandler(StaticFiles.PREFIX + "*/**")
        .addResourceLocations(FILES)
        .setCacheControl(CacheControl.noCache())
        .resourceChain(true)
        .addResolver(new WithoutHash())
        .addTransformer(new InlinedStyles());
  }

  private static final class WithoutHash extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      return super.getResource(path.substring(path.indexOf('/') + 1), location);
    }
  }
}

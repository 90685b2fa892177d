package app.islet.web.base.support;

import java.util.List;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;

/** Lets controllers take the arguments our resolvers make. */
@Configuration
class WebConfiguration implements WebMvcConfigurer {
  private final List<HandlerMethodArgumentResolver> resolvers;

  WebConfiguration(List<HandlerMethodArgumentResolver> resolvers) {
    this.resolvers = resolvers;
  }

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> all) {
    all.addAll(resolvers);
  }

  @Override
  public void addInterceptors(InterceptorRegistry all) {
    all.addInterceptor(new Turnstile());
    all.addInterceptor(new UploadLimits());
    all.addInterceptor(new PlainParameters());
  }

  /**
   * No address is written with a version in it here, so none need be looked up on the class path
   * for each link of a page: a fifth of a page's time went there.
   */
  @Bean
  FilterRegistrationBean<ResourceUrlEncodingFilter> noVersionedAddresses() {
    FilterRegistrationBean<ResourceUrlEncodingFilter> none =
        new FilterRegistrationBean<>(new ResourceUrlEncodingFilter());
    none.setEnabled(false);
    return none;
  }
}

package app.islet.web.support;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

import java.util.List;

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
}

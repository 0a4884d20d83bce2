package venue.server.app;

import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the interface: its files, and its one page for every address that is a screen. */
@Configuration(proxyBeanMethods = false)
class InterfaceFiles implements WebMvcConfigurer {

    private static final String FOLDER = "classpath:/venue/interface/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(FOLDER + "assets/")
                .setCacheControl(CacheControl.maxAge(java.time.Duration.ofDays(365))
                        .cachePublic()
                        .immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(FOLDER)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new Screens());
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
    }

    /** Any path without a dot, outside the API, is a screen. */
    private static final class Screens extends PathResourceResolver {

        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            Resource found = super.getResource(path, location);
            boolean screen = found == null && !path.startsWith("api/") && !path.contains(".");
            return screen ? new ClassPathResource("/venue/interface/index.html") : found;
        }
    }
}

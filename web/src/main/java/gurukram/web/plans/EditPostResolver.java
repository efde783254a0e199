package gurukram.web.plans;

import gurukram.core.pose.Level;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Reads {@code version} and {@code level}, which stand beside every edit. */
@Configuration
class EditPostResolver implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == ClassController.EditPost.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        String version = request.getParameter("version");
        String level = request.getParameter("level");
        if (version == null || !version.matches("\\d{1,9}")) throw new IllegalArgumentException("no version");
        return new ClassController.EditPost(
                Integer.parseInt(version),
                level == null || level.isEmpty() ? null : Level.valueOf(level),
                request.getNativeRequest(HttpServletRequest.class),
                request.getNativeResponse(HttpServletResponse.class));
    }
}

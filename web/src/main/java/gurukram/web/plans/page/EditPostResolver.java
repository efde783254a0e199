package gurukram.web.plans.page;

import gurukram.web.shared.WrongRequest;
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

/** Reads {@code version}, {@code view} and {@code panel}, which stand beside every edit. */
@Configuration
class EditPostResolver implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == EditPost.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        String version = request.getParameter("version");
        String view = request.getParameter("view");
        String panel = request.getParameter("panel");
        if (version == null || !version.matches("\\d{1,9}")) throw new WrongRequest("no version");
        return new EditPost(
                Integer.parseInt(version),
                view == null ? "" : view,
                panel == null ? "" : panel,
                request.getNativeRequest(HttpServletRequest.class),
                request.getNativeResponse(HttpServletResponse.class));
    }
}

package gurukram.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.support.RequestDataValueProcessor;

/** Every form that changes something carries a {@link RequestKey} beside the page's token. */
@Configuration
class HiddenFields {
    @Bean
    static BeanPostProcessor withKeys() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof RequestDataValueProcessor fields ? new WithKey(fields) : bean;
            }
        };
    }

    private record WithKey(RequestDataValueProcessor others) implements RequestDataValueProcessor {
        @Override
        public String processAction(HttpServletRequest request, String action, String method) {
            return others.processAction(request, action, method);
        }

        @Override
        public String processFormFieldValue(HttpServletRequest request, String name, String value, String type) {
            return others.processFormFieldValue(request, name, value, type);
        }

        @Override
        public Map<String, String> getExtraHiddenFields(HttpServletRequest request) {
            Map<String, String> others = this.others.getExtraHiddenFields(request);
            if (others == null || others.isEmpty()) return others;
            Map<String, String> all = new LinkedHashMap<>(others);
            all.put(RequestKey.FIELD, UUID.randomUUID().toString());
            return all;
        }

        @Override
        public String processUrl(HttpServletRequest request, String url) {
            return others.processUrl(request, url);
        }
    }
}

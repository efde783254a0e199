package gurukram.web.doors;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every route that is about one thing: there is none for who does not own it; and none falls over what it is sent. */
@ExtendWith(TestApp.Extension.class)
class OthersThingsTest {
    /** What everybody has: the shipped catalogue, by name. */
    private static final Set<String> FOR_ALL = Set.of("/api/schema/class.json");

    private final TestApp app;

    OthersThingsTest(TestApp app) {
        this.app = app;
    }

    private static final Set<String> JSON = Set.of("/room/{id}/log", "/room/{id}/changes", "/room/{id}/live");

    private record Route(RequestMethod method, String path) {}

    private List<Route> routes() {
        List<Route> routes = new ArrayList<>();
        Map<RequestMappingInfo, HandlerMethod> all =
                app.bean(RequestMappingHandlerMapping.class).getHandlerMethods();
        all.forEach((info, handler) -> {
            if (!handler.getBeanType().getName().startsWith("gurukram")) return;
            for (String path : info.getPatternValues())
                for (RequestMethod method : info.getMethodsCondition().getMethods())
                    routes.add(new Route(method, path));
        });
        assertThat(routes).hasSizeGreaterThan(100);
        return routes;
    }

    private static String[] fields() {
        return new String[] {
            "version", "1", "node", "class", "field", "title", "value", "x", "what", "up", "where", "before", "target",
            "n1", "need", "WRIST", "how", "OPTION", "part", "x", "wish", "SHORTER", "finding", "x", "mend", "0", "rule",
            "x", "name", "x", "at", "x", "why", "x", "like", "tree", "peak", "tree", "note", "x", "seq", "0", "flow",
            "x", "minutes", "5"
        };
    }

    @Test
    void whatIsNobodysIsNotThere() {
        Teacher teacher = app.newTeacher();
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        Set<String> there = new TreeSet<>();
        for (Route route : routes()) {
            if (!route.path().contains("{") || FOR_ALL.contains(route.path())) continue;
            String path = route.path()
                    .replace("{*name}", "x.css")
                    .replaceAll("\\{[a-z]+}", UUID.randomUUID().toString());
            int status = route.method() == RequestMethod.GET
                    ? http.get(path + query(fields())).statusCode()
                    : route.path().startsWith("/api") || JSON.contains(route.path())
                            ? http.json(
                                            path,
                                            "{\"startedAt\":1,\"moments\":[],\"device\":\"x\",\"now\":1,\"state\":{}}")
                                    .statusCode()
                            : http.post(path, fields()).statusCode();
            if (route.method() == RequestMethod.PUT) continue;
            if (status != 404) there.add(route.method() + " " + route.path() + " " + status);
        }
        assertThat(there).isEmpty();
    }

    @Test
    void whatNoDatabaseCanKeepBringsNothingDown() {
        Teacher teacher = app.newTeacher();
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String id = app.newClass(teacher, "section standing", "tree, both, 5 breaths")
                .toString();
        String nasty = "a\u0000b\u0007\uFFFF\uDBFF\uDFFF\u202E\u200B";
        Set<String> fallen = new TreeSet<>();
        for (Route route : routes()) {
            boolean own =
                    route.path().startsWith("/classes/{id}") || route.path().startsWith("/drafts/from/{id}");
            if (route.path().contains("delete") || route.path().contains("{set}")) continue;
            String path = (own ? route.path().replace("{id}", id) : route.path())
                    .replace("{*name}", "x.css")
                    .replaceAll("\\{[a-z]+}", "x%00y");
            for (String[] fields : nastyFields(nasty)) {
                int status = route.method() == RequestMethod.GET
                        ? http.get(path + query(fields)).statusCode()
                        : route.method() == RequestMethod.POST && !route.path().startsWith("/api")
                                ? http.post(path, fields).statusCode()
                                : 0;
                if (status >= 500) fallen.add(route.method() + " " + route.path() + " " + status + " " + fields[1]);
            }
        }
        assertThat(fallen).isEmpty();
    }

    private static List<String[]> nastyFields(String nasty) {
        String[] all = fields();
        String[] values = {
            "line",
            nasty,
            "text",
            nasty,
            "title",
            nasty,
            "theme",
            nasty,
            "name",
            nasty,
            "note",
            nasty,
            "q",
            nasty,
            "value",
            nasty,
            "email",
            nasty,
            "studio",
            nasty,
            "password",
            nasty,
            "current",
            nasty,
            "zone",
            nasty,
            "language",
            nasty,
            "why",
            nasty,
            "words",
            nasty,
            "level",
            nasty,
            "like",
            nasty,
            "peak",
            nasty,
            "version",
            "1",
            "node",
            "class",
            "field",
            "title",
            "place",
            nasty,
            "at",
            nasty,
            "slot",
            nasty
        };
        String[] ids = all.clone();
        for (int i = 1; i < ids.length; i += 2) ids[i] = nasty;
        return List.of(values, ids);
    }

    private static String query(String[] fields) {
        StringBuilder query = new StringBuilder("?");
        for (int i = 0; i < fields.length; i += 2)
            query.append(fields[i])
                    .append('=')
                    .append(java.net.URLEncoder.encode(fields[i + 1], java.nio.charset.StandardCharsets.UTF_8))
                    .append('&');
        return query.toString();
    }
}

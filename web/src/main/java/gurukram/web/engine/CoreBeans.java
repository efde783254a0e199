package gurukram.web.engine;

import gurukram.core.phrase.PhraseBook;
import gurukram.core.pose.PoseCatalogue;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.random.RandomGenerator;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The core's engines, made once; an unsound catalogue stops the start with all its problems. */
@Configuration
class CoreBeans {
    @Bean
    PoseCatalogue poseCatalogue() {
        return Shipped.catalogue();
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    RandomGenerator random() {
        return new SecureRandom();
    }

    @Bean
    PhraseBook phraseBook() {
        return Shipped.phrases();
    }
}

package gurukram.web.doors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.web.shared.Busy;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(60)
class BudgetsTest {
    private final AtomicLong now = new AtomicLong(1);
    private final Budgets budgets = new Budgets(now::get);

    @Test
    void oneAccountHasOneThingDoneAtATimeAndFewMayWait() throws Exception {
        AtomicInteger inside = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        AtomicInteger refused = new AtomicInteger();
        ExecutorService many = Executors.newFixedThreadPool(20);
        List<Future<?>> asked = new ArrayList<>();
        for (int i = 0; i < 20; i++)
            asked.add(many.submit(() -> {
                try {
                    Budgets.Share share = budgets.take("anna");
                    most.accumulateAndGet(inside.incrementAndGet(), Math::max);
                    Thread.sleep(100);
                    inside.decrementAndGet();
                    budgets.giveBack(share, 1);
                } catch (Busy e) {
                    refused.incrementAndGet();
                }
                return null;
            }));
        for (Future<?> one : asked) one.get();
        many.shutdown();
        assertThat(most).hasValue(1);
        assertThat(refused.get()).isBetween(20 - 2 * (Budgets.MOST_WAITING + 1), 20 - Budgets.MOST_WAITING - 1);
    }

    @Test
    void whoHasHadAShareWaitsUntilItIsThereAgain() {
        budgets.giveBack(budgets.take("anna"), Budgets.PURSE + 10_000_000_000L);
        assertThatThrownBy(() -> budgets.take("anna")).isInstanceOf(Busy.class);
        budgets.giveBack(budgets.take("bea"), 1);
        now.addAndGet(19_000_000_000L);
        assertThatThrownBy(() -> budgets.take("anna")).isInstanceOf(Busy.class);
        now.addAndGet(2_000_000_000L);
        budgets.giveBack(budgets.take("anna"), 1);
    }
}

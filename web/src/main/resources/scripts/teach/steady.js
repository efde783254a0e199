// The time of the day as this device tells it, which neither jumps back nor leaps ahead while a class goes on.

const JUMP = 2_000;
/** A device that slept tells more time than its page has lived through. */
const LONGEST_SLEEP = 3 * 60 * 60 * 1000;

export class Steady {
  /**
   * @param wall ms since 1970 by the device's clock, which anybody can set
   * @param ticks ms that only go on
   */
  constructor(wall = () => Date.now(), ticks = () => performance.now()) {
    this.wall = wall;
    this.ticks = ticks;
    this.last = ticks();
    this.time = wall();
    this.ahead = 0;
    this.jumped = false;
  }

  /** @param away whether the page was out of sight since it was asked last: then the device may have slept */
  now(away = false) {
    const ticks = this.ticks();
    this.time += ticks - this.last;
    this.last = ticks;
    const difference = this.wall() - this.time - this.ahead;
    if (Math.abs(difference) > JUMP) {
      if (away && difference > 0 && difference <= LONGEST_SLEEP) this.time += difference;
      else {
        this.ahead += difference;
        this.jumped = true;
      }
    }
    return this.time;
  }
}

/** The moment of today, or of the night before, at which a clock showed this; null for what no clock shows. */
export function momentOf(clockTime: string, now: number): Date | null {
	const [hours, minutes] = clockTime.split(":").map(Number);
	if (hours === undefined || minutes === undefined || !(hours < 24) || !(minutes < 60)) return null;
	const moment = new Date(now);
	moment.setHours(hours, minutes, 0, 0);
	if (moment.getTime() > now) moment.setDate(moment.getDate() - 1);
	return moment;
}
